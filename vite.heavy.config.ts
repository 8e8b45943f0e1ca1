// The heavy work of the server as one file that worker threads run: built after the application.
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

export default defineConfig({
	resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
	ssr: {
		noExternal: true,
		external: ['highs', '@resvg/resvg-wasm', '@techstark/opencv-js', 'sharp']
	},
	build: {
		ssr: true,
		rolldownOptions: {
			input: {
				heavy: 'src/lib/server/heavy/heavy.ts',
				// A process of its own: pictures are untrusted.
				'photo-child': 'src/lib/server/photo/photo-child.ts'
			},
			output: { entryFileNames: '[name].js' }
		},
		outDir: 'build/heavy',
		emptyOutDir: true,
		target: 'node20',
		minify: false
	},
	publicDir: false
});
