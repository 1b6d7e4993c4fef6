import type { OrderQuestion } from "../question";
import { type KindDefinition, readingMinutes } from "./kind";

const IDS = ["i1", "i2", "i3", "i4"];

export const order: KindDefinition<OrderQuestion> = {
  kind: "order",
  name: "Put in order",
  createBlank: (id) => ({
    kind: "order",
    id,
    stem: "",
    points: 2,
    depth: "understanding",
    evidence: [],
    items: IDS.map((itemId) => ({ id: itemId, text: "" })),
    key: [...IDS],
  }),
  keyText: ({ items, key }) => key.map((itemId, index) => `${index + 1} ${items.find((item) => item.id === itemId)?.text ?? ""}`).join("; "),
  accepted: () => [],
  minutes: (question, grade) => 0.5 + readingMinutes([question.stem, ...question.items.map((item) => item.text)].join(" "), grade) * 1.6,
};
