/** As much as a form of fields has, in bytes. */
const mostBytes = 65_536;

/** The fields of a form; none where its body cannot be read as one or is larger than any form, so that each field gets its own sentence. */
export async function readForm(request: Request): Promise<FormData> {
	if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return new FormData();
	return request.formData().catch(() => new FormData());
}
