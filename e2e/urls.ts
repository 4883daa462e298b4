/** Where the servers are that stories run against, one for each worker. */
export const urls = (process.env['MARDLE_URL'] ?? 'http://127.0.0.1:4870').split(',');
