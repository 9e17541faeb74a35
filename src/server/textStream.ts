/** The body of a request or an answer whose text is made part by part, as it is read. */
export function textStream(parts: Iterator<string>): ReadableStream<Uint8Array<ArrayBuffer>> {
  const encoder = new TextEncoder();
  return new ReadableStream({
    pull: (controller) => {
      const part = parts.next();
      if (part.done) controller.close();
      else controller.enqueue(encoder.encode(part.value));
    },
  });
}
