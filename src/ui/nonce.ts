'use client';

import { createContext, useContext } from 'react';

/** The page's CSP nonce, for libraries that add style elements of their own. */
export const NonceContext = createContext<string | undefined>(undefined);
export const useNonce = (): string | undefined => useContext(NonceContext);
