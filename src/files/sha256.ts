/**
 * SHA-256 of bytes in lower-case hex (FIPS 180-4): by the platform's Web Crypto, or where that is denied, on pages that
 * come over a home network without a certificate, by a package that is audited and slower.
 */
export async function sha256Of(bytes: Uint8Array): Promise<string> {
  // undefined on such pages, whatever its type says
  const subtle = crypto.subtle as SubtleCrypto | undefined;
  const digest = subtle
    ? new Uint8Array(await subtle.digest('SHA-256', bytes as Uint8Array<ArrayBuffer>))
    : (await import('@noble/hashes/sha2.js')).sha256(bytes);
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
