import type { StudentPaper, StudentQuestion } from "@/core/papers/paper";
import { wrapLines } from "@/core/papers/wrap-lines";

/** The sheet a student gets. It is given a paper without keys, so it cannot show one. */
export function StudentSheet({ paper }: { paper: StudentPaper }) {
  return (
    <article className="sheet">
      <h1>{paper.title}</h1>
      <div className="lines">
        <span>Name</span>
        <span className="short">Date</span>
        <span className="short">Points ______ / {paper.points}</span>
      </div>
      {paper.directions ? <p className="directions">{paper.directions}</p> : null}
      {paper.passage ? <Passage blocks={paper.passage.blocks} /> : null}
      {paper.questions.map((question) => (
        <SheetQuestion key={question.number} question={question} />
      ))}
      {paper.questions.length === 0 ? <p>Nothing is kept yet.</p> : null}
    </article>
  );
}

/** Lines are broken by us, so that their numbers are the same on screen, on paper and in the key. */
function Passage({ blocks }: { blocks: NonNullable<StudentPaper["passage"]>["blocks"] }) {
  return (
    <section className="passage" aria-label="Passage">
      {wrapLines(blocks).map((line) =>
        line.kind === "gap" ? (
          <div key={line.key} className="gap" />
        ) : (
          <div key={line.key} className={`line ${line.kind === "heading" ? "heading" : ""}`}>
            {line.number && line.number % 5 === 0 ? <i>{line.number}</i> : null}
            {line.text}
          </div>
        ),
      )}
    </section>
  );
}

function SheetQuestion({ question }: { question: StudentQuestion }) {
  return (
    <section className="question">
      <span className="number">{question.number}</span>
      <div>
        <p>{question.stem}</p>
        {question.options ? <Options options={question.options} /> : null}
        {question.second ? (
          <>
            <p className="second">{question.second.stem}</p>
            <Options options={question.second.options} />
          </>
        ) : null}
        {question.bank ? <p className="bank">{question.bank.join(" · ")}</p> : null}
        {question.items ? (
          <ol className="items">
            {question.items.map((item) => (
              <li key={item.label}>
                <span className="blank" />
                <span>{item.label}</span>
                <span>{item.text}</span>
              </li>
            ))}
          </ol>
        ) : null}
        {question.columns ? <Columns {...question.columns} /> : null}
        {question.kind === "number" ? (
          <p className="number-answer">
            <span className="blank" /> {question.unit}
          </p>
        ) : null}
        {question.kind === "true-false" ? (
          <p className="choice">
            <span>true</span>
            <span>false</span>
          </p>
        ) : null}
        {Array.from({ length: question.answerLines }, (_, index) => (
          <div key={`line-${index + 1}`} className="write" />
        ))}
      </div>
      <span className="points">{question.showPoints ? `${question.points} ${question.points === 1 ? "point" : "points"}` : ""}</span>
    </section>
  );
}

function Options({ options }: { options: NonNullable<StudentQuestion["options"]> }) {
  return (
    <ol className="options">
      {options.map((option) => (
        <li key={option.label}>
          <span>{option.label}</span>
          <span>{option.text}</span>
        </li>
      ))}
    </ol>
  );
}

/** Two columns to be matched: a place to write beside each item of the left one. */
function Columns({ left, right }: NonNullable<StudentQuestion["columns"]>) {
  return (
    <div className="columns">
      {[left, right].map((column, side) => (
        <ol key={side === 0 ? "left" : "right"} className="items">
          {column.map((item) => (
            <li key={item.label}>
              {side === 0 ? <span className="blank" /> : null}
              <span>{item.label}</span>
              <span>{item.text}</span>
            </li>
          ))}
        </ol>
      ))}
    </div>
  );
}
