import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from 'react';
import { Button } from './Button.tsx';

interface ToastMessage {
  readonly text: string;
  readonly tone?: 'bad';
  readonly action?: { readonly text: string; readonly run: () => void | Promise<void> };
}

const ToastContext = createContext<(message: ToastMessage) => void>(() => undefined);

export const useToast = () => useContext(ToastContext);

const STAYS_MS = 12_000;

/** Short messages at the foot of the page, one at a time; anything that can be undone offers it here. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  const [message, setMessage] = useState<ToastMessage>();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const show = useCallback((next: ToastMessage) => {
    clearTimeout(timer.current);
    setMessage(next);
    timer.current = setTimeout(() => setMessage(undefined), STAYS_MS);
  }, []);
  return (
    <ToastContext value={show}>
      {children}
      <div
        role="status"
        className="pointer-events-none fixed inset-x-0 max-sm:bottom-20 bottom-4 z-[60] flex justify-center px-4 print:hidden"
      >
        {message && (
          <p
            className={`pointer-events-auto flex items-center gap-4 rounded-lg px-4 py-2 text-white shadow-xl ${message.tone === 'bad' ? 'bg-bad' : 'bg-[#1b211f]'}`}
          >
            {message.text}
            {message.action && (
              <Button
                look="next"
                onClick={() => {
                  setMessage(undefined);
                  void message.action?.run();
                }}
              >
                {message.action.text}
              </Button>
            )}
          </p>
        )}
      </div>
    </ToastContext>
  );
}
