import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button';

/** Takes a row out of a list; what it removes is its name, and is shown over it. */
export function RemoveButton({ label, onClick }: { label: string; onClick: () => void }): ReactNode {
  return (
    <Button small variant="quiet" className="min-w-[24px]" aria-label={label} title={label} onClick={onClick}>
      <X size={16} strokeWidth={1.8} aria-hidden="true" className="inline-block" />
    </Button>
  );
}
