/** Puts a studio in the place of what there is, by the door that backups come in through. */
export async function restoreStudio(studio: unknown) {
  const { restoreStudio: restore } = await import('../../src/server/studioFile');
  const body = JSON.stringify(studio);
  return restore(new Request('http://localhost/', { method: 'POST', body }), body.length * 4);
}
