import 'server-only';

/** Headers for a file to be saved under a name; the plain name is for clients that read no UTF-8. */
export const attachment = (name: string): Record<string, string> => ({
  'content-disposition': `attachment; filename="${name.normalize('NFKD').replace(/[^A-Za-z0-9._ -]/g, '')}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  'cache-control': 'no-store',
});

export const notFoundResponse = (): Response =>
  Response.json(
    { issues: [{ path: [], code: 'not-found', message: 'There is no such room or look.' }] },
    { status: 404 },
  );
