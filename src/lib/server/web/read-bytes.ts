/** Reads a request's body up to a size; null where it is larger, or was cut. */
export async function readBytes(request: Request, most: number): Promise<Uint8Array | null> {
	if (Number(request.headers.get('content-length')) > most) return null;
	try {
		const buffer = await request.arrayBuffer();
		return buffer.byteLength > most ? null : new Uint8Array(buffer);
	} catch {
		// The server's own limit cut a body that did not announce its size.
		return null;
	}
}
