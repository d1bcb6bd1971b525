import pino from 'pino';

/** Structured logs, one JSON object a line. LOG_LEVEL sets how much; positions and note texts never go in. */
export const log = pino({ level: process.env['LOG_LEVEL'] ?? 'info', base: null });
