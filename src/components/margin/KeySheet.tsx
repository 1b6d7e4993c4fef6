import { Dialog } from "radix-ui";
import { MARGIN_ACTIONS } from "./margin-actions";

export function KeySheet({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-40 max-h-[90dvh] w-[22rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border border-line bg-sheet p-5 shadow-lg">
          <Dialog.Title className="font-bold">Keys</Dialog.Title>
          <Dialog.Description className="text-soft text-sm">They work whenever no field is being written in.</Dialog.Description>
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
            {MARGIN_ACTIONS.map((action) => (
              <div key={action.id} className="contents">
                <dt className="font-semibold">{action.shown}</dt>
                <dd>{action.label}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="button mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
