/** A file as it goes out: to be saved under a name. */
export const answerPdf = (bytes: Uint8Array, name: string): Response =>
	new Response(new Uint8Array(bytes).buffer, {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `attachment; filename="${name}.pdf"`
		}
	});
