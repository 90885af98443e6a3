'use client';

import { useEffect, useState } from 'react';
import * as z from 'zod/mini';
import { failure, success, type Result } from '@/core/result';

const AT = '/api/handover';
const openedSchema = z.object({
  opened: z.boolean(),
  /** The machine's own, by which other devices of the network reach it. */
  addresses: z.array(z.ipv4()),
});
const laidSchema = z.object({ code: z.string().check(z.regex(/^\d{6}$/)) });
const refusedSchema = z.object({ error: z.string() });

/** Whether the server hands files over to other devices of the home network, and where it is reached there; null where it does not. */
export function useHandsOver(): readonly string[] | null {
  const [opened, setOpened] = useState<readonly string[] | null>(null);
  useEffect(() => {
    let gone = false;
    fetch(AT)
      .then(async (response) => openedSchema.parse(await response.json()))
      .then(
        ({ opened: given, addresses }) => !gone && setOpened(given ? addresses : null),
        () => undefined, // no network: files only
      );
    return () => {
      gone = true;
    };
  }, []);
  return opened;
}

const UNREACHED = 'The server was not reached. Is this device on the same network still?';

/** Lays a file ready for another device. @returns its one-time code. */
export async function layReady(file: Blob): Promise<Result<string>> {
  try {
    const headers = { 'content-type': 'application/zip' };
    const response = await fetch(AT, { method: 'POST', headers, body: file });
    const said: unknown = await response.json();
    const laid = laidSchema.safeParse(said);
    if (laid.success) return success(laid.data.code);
    const refused = refusedSchema.safeParse(said);
    return failure(refused.success ? refused.data.error : UNREACHED);
  } catch {
    return failure(UNREACHED);
  }
}

/** Fetches what lies ready under a code, once. */
export async function fetchByCode(code: string): Promise<Result<File>> {
  try {
    const response = await fetch(`${AT}?code=${encodeURIComponent(code)}`);
    if (response.status === 404)
      return failure(
        'Nothing lies ready under this code. It holds for ten minutes and one device; lay the file ready again.',
      );
    if (!response.ok) return failure(UNREACHED);
    return success(
      new File([await response.blob()], 'handed-over.zip', { type: 'application/zip' }),
    );
  } catch {
    return failure(UNREACHED);
  }
}
