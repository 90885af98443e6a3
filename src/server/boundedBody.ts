/** Reads a request's body up to a limit; null when it is longer. Nothing beyond the limit is kept. */
export async function boundedBody(
  request: Request,
  mostBytes: number,
): Promise<Uint8Array<ArrayBuffer> | null> {
  const reader = request.body?.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const chunk = await reader?.read();
    if (!chunk || chunk.done) break;
    size += chunk.value.byteLength;
    if (size > mostBytes) {
      await reader?.cancel();
      return null;
    }
    parts.push(chunk.value);
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.byteLength;
  }
  return whole;
}
