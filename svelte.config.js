import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** Serves what is packed; the packing itself is the build's last step (`scripts/compress.mjs`). @type {import('@sveltejs/kit').Adapter} */
const packedLater = (() => {
	const node = adapter({ precompress: true });
	return {
		...node,
		adapt: (builder) =>
			node.adapt(Object.assign(Object.create(builder), { compress: async () => {} }))
	};
})();

/** @type {import('@sveltejs/kit').Config} */
const config = {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: packedLater,
		// What runs beside the build reads this too, and writes what the build reads: for all of them one name.
		version: { name: process.env.NEST_ROW_BUILD ?? String(Date.now()) },
		// The layout registers it, once it knows for whom.
		serviceWorker: { register: false },
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self'],
				// Progress bars and slider fills set a width by attribute; nothing else may.
				'style-src-attr': ['unsafe-inline'],
				// A picture one chose is shown before it goes anywhere.
				'img-src': ['self', 'data:', 'blob:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self'],
				'manifest-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: {
			config: (tsconfig) => ({
				...tsconfig,
				exclude: tsconfig.exclude.filter(
					(/** @type {string} */ path) => !path.includes('service-worker')
				),
				include: [
					...tsconfig.include,
					'../*.ts',
					'../*.js',
					'../scripts/**/*.mjs',
					'../scripts/**/*.ts',
					'../tests/**/*.ts'
				]
			})
		}
	}
};

export default config;
