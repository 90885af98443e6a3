'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { usePathname } from 'next/navigation';
import {
  createContext,
  startTransition,
  useCallback,
  useContext,
  useState,
  type ReactNode,
} from 'react';
import { AtOnce } from './AtOnce';

export interface Notice {
  readonly text: string;
  readonly tone: 'success' | 'info' | 'warning' | 'error';
  /** Something to do about it, e.g. undo. */
  readonly action?: { readonly label: string; readonly run: () => void };
}

type Notify = (notice: Notice) => void;

const NotifyContext = createContext<Notify>(() => undefined);

/** Tells the person something short; errors stay until they are closed. */
export const useNotify = (): Notify => useContext(NotifyContext);

/** How long a notice is shown, ms; one that warns, or has something to do about it, long enough for a hand in a glove (own choice). */
const SHOWN_MS = 9000;
const THOUGHT_MS = 20_000;
const takesThought = ({ tone, action }: Notice): boolean => tone === 'warning' || !!action;

export function NotifyProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<(Notice & { key: number; at: string }) | null>(null);
  const path = usePathname();
  const notify = useCallback<Notify>(
    // drawn in small steps between other work, so that it never holds a finger up
    (next) =>
      startTransition(() =>
        setNotice((last) => ({
          ...next,
          key: (last?.key ?? 0) + 1,
          at: window.location.pathname,
        })),
      ),
    [],
  );
  const close = () => setNotice(null);
  // what was told elsewhere does not follow to the press
  const stale = notice !== null && path !== notice.at && path.endsWith('/press');
  return (
    <NotifyContext value={notify}>
      {children}
      {notice && !stale && (
        <Snackbar
          key={notice.key}
          open
          slots={{ transition: AtOnce }}
          autoHideDuration={
            notice.tone === 'error' ? null : takesThought(notice) ? THOUGHT_MS : SHOWN_MS
          }
          onClose={(_, reason) => reason !== 'clickaway' && close()}
          // over the top bar: never on findings, nor on what is worked at
          anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
          sx={{ top: { xs: 4, sm: 4 } }}
        >
          <Alert
            severity={notice.tone}
            variant="standard"
            onClose={close}
            sx={{ boxShadow: 3, maxWidth: 640, alignItems: 'center' }}
            {...(notice.action && {
              action: (
                <Button
                  color="inherit"
                  size="small"
                  sx={{ minWidth: { xs: 96, sm: 'max-content' } }}
                  onClick={() => {
                    notice.action?.run();
                    close();
                  }}
                >
                  {notice.action.label}
                </Button>
              ),
            })}
          >
            {notice.text}
          </Alert>
        </Snackbar>
      )}
    </NotifyContext>
  );
}
