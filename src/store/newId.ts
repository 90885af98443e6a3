import { v4 } from 'uuid';

/**
 * An id that no other thing has. By a package, since the platform's own is denied to pages that come over a home network
 * without a certificate.
 */
export const newId = (): string => v4();
