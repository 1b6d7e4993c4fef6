"use client";
import { LANGUAGES, languageName } from "@/messages/languages";
import type { SourceStore } from "./use-source";

/** The source's own title and language; both can be corrected. */
export function SourceHead({ store: { state, change } }: { store: SourceStore }) {
  const languages = LANGUAGES.some((code) => code === state.language) ? [...LANGUAGES] : [state.language, ...LANGUAGES];
  return (
    <div className="mb-2 flex flex-wrap items-center gap-3">
      <input
        aria-label="Title of the source"
        className="field min-w-0 flex-1 font-semibold"
        value={state.title}
        onChange={(event) => event.target.value.trim() !== "" && change({ type: "set-source-title", from: state.title, to: event.target.value })}
      />
      <label className="flex items-center gap-2 text-sm">
        <span className="label">Language</span>
        <select
          className="field py-1"
          value={state.language}
          onChange={(event) => change({ type: "set-language", from: state.language, to: event.target.value })}
        >
          {languages.map((code) => (
            <option key={code} value={code}>
              {languageName(code)}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
