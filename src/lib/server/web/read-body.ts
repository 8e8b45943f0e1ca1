/** Reads a request's body as text, up to a size; `text` is null where it is larger. */
export async function readBody(
	request: Request,
	largestBytes: number
): Promise<{ text: string | null }> {
	if (Number(request.headers.get('content-length')) > largestBytes) return { text: null };
	let buffer: ArrayBuffer;
	try {
		buffer = await request.arrayBuffer();
	} catch {
		// The server's own limit cut a body that did not announce its size.
		return { text: null };
	}
	return { text: buffer.byteLength > largestBytes ? null : new TextDecoder().decode(buffer) };
}
