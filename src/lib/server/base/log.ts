import pino from 'pino';

/** Structured lines on standard output. Nothing that could hold a secret is ever handed to it. */
export const log = pino({
	level: process.env.LOG_LEVEL ?? 'info',
	base: null,
	timestamp: pino.stdTimeFunctions.isoTime,
	redact: ['*.password', '*.connectionString', '*.authorization', '*.cookie'],
	serializers: {
		// Message, code and stack; never the query's values, which pg hangs on its errors.
		error: (error: Error & { code?: string }) => ({
			name: error.name,
			message: error.message,
			code: error.code,
			stack: error.stack
		})
	}
});
