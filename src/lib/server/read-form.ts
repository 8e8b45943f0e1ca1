/** The fields of a form; none where its body cannot be read as one, so that each field gets its own sentence. */
export const readForm = (request: Request): Promise<FormData> =>
	request.formData().catch(() => new FormData());
