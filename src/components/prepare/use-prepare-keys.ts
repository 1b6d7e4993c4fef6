import { useEffect } from "react";
import type { Block } from "@/core/source/schema";
import type { BlockTask } from "./PreparedBlock";

type OnTask = (blockId: string, task: BlockTask) => void;

/** J and K go from block to block, X strikes out or brings back, E corrects, Ctrl+Z undoes; letters typed in a field are letters. */
export function usePrepareKeys(blocks: readonly Block[], activeId: string | undefined, onTask: OnTask, step: (direction: "undo" | "redo") => unknown): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && /^(?:TEXTAREA|INPUT|SELECT|VIDEO|AUDIO)$/.test(event.target.tagName)) return;
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key !== "z") return;
        event.preventDefault();
        return void step(event.shiftKey ? "redo" : "undo");
      }
      if (event.altKey) return;
      const at = blocks.findIndex((block) => block.id === activeId);
      const go = (index: number) => {
        const block = blocks[Math.min(blocks.length - 1, Math.max(0, index))];
        if (!block) return;
        onTask(block.id, "choose");
        document.getElementById(`block-${block.id}`)?.scrollIntoView({ block: "nearest" });
      };
      if (key === "j") go(at + 1);
      else if (key === "k") go(at < 0 ? 0 : at - 1);
      else if (at >= 0 && key === "x") onTask(activeId!, blocks[at]!.leftOut ? "bring-back" : "strike");
      else if (at >= 0 && key === "e") {
        event.preventDefault();
        onTask(activeId!, "write");
      }
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [blocks, activeId, onTask, step]);
}
