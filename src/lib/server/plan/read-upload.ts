import type { ReadPlan } from '$lib/stages/plan/document/plan-file';
import { largestPlanFile } from '$lib/stages/plan/document/file-size';
import { readPlanFile } from '$lib/stages/plan/document/plan-file';

/** Reads the plan file of a form; a body far beyond any plan file is refused before it is read. */
export async function readUpload(
	request: Request
): Promise<{ form: FormData | null; read: ReadPlan }> {
	const announced = Number(request.headers.get('content-length'));
	const tooLarge = (bytes: number): ReadPlan => ({
		problems: [{ code: 'file-too-large', status: 413, bytes }]
	});
	if (announced > largestPlanFile + 4096) return { form: null, read: tooLarge(announced) };
	let form: FormData;
	try {
		form = await request.formData();
	} catch {
		return { form: null, read: { problems: [{ code: 'file-missing', status: 400 }] } };
	}
	const file = form.get('file');
	if (!(file instanceof File) || file.size === 0) {
		return { form, read: { problems: [{ code: 'file-missing', status: 400 }] } };
	}
	if (file.size > largestPlanFile) return { form, read: tooLarge(file.size) };
	return { form, read: readPlanFile(await file.text()) };
}
