/** Takes a photo into the studio: a re-encoded copy is kept there, without the camera's notes. */
export async function takeInPhoto(
  file: Blob,
): Promise<{ ok: true; id: string; widthPx: number; heightPx: number } | { ok: false; message: string }> {
  try {
    const answer = await fetch('/api/photos', { method: 'POST', body: file });
    const body = (await answer.json()) as {
      id: string;
      widthPx: number;
      heightPx: number;
      issues?: { message: string }[];
    };
    return answer.ok
      ? { ok: true, ...body }
      : { ok: false, message: body.issues?.map((i) => i.message).join(' ') ?? String(answer.status) };
  } catch {
    return { ok: false, message: 'The studio does not answer.' };
  }
}
