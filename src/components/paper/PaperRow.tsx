import { useSortable } from "@dnd-kit/sortable";
import { ChevronDown, ChevronUp, GripVertical } from "lucide-react";
import type { Slip } from "@/core/questions/edit";
import { kindOf } from "@/core/questions/kinds";

type Props = { slip: Slip; number: number; isFirst: boolean; isLast: boolean; onStep: (by: 1 | -1) => void };

/** A kept question in the order of the paper; moved by dragging, by the grip's arrow keys, or by its two buttons. */
export function PaperRow({ slip, number, isFirst, isLast, onStep }: Props) {
  const { question } = slip;
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: question.id });
  const style = transform ? { transform: `translateY(${transform.y}px)`, transition } : undefined;
  return (
    <li ref={setNodeRef} style={style} className="flex items-center gap-1.5 border-line border-b bg-ground py-1.5 text-sm" data-question={question.id}>
      <button type="button" className="cursor-grab touch-none text-soft" {...attributes} {...listeners} aria-label={`Move question ${number}`}>
        <GripVertical size={15} aria-hidden />
      </button>
      <b className="tabular w-5 text-right">{number}</b>
      <span className="min-w-0 flex-1">
        <span className="block truncate">{question.stem}</span>
        <span className="text-soft text-xs">{kindOf(question.kind).name}</span>
      </span>
      <button
        type="button"
        className="p-0.5 text-soft hover:text-spruce disabled:opacity-30"
        disabled={isFirst}
        aria-label={`Move question ${number} up`}
        onClick={() => onStep(-1)}
      >
        <ChevronUp size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="p-0.5 text-soft hover:text-spruce disabled:opacity-30"
        disabled={isLast}
        aria-label={`Move question ${number} down`}
        onClick={() => onStep(1)}
      >
        <ChevronDown size={16} aria-hidden />
      </button>
    </li>
  );
}
