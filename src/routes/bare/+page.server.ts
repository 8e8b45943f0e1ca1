export { bareRows as load } from '$lib/server/bare-page';
