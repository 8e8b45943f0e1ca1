export { bareRows as load } from '$lib/server/web/bare-page';
