"use client";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import type { Manage } from "@/server/sources/manage-sources";

type Props = { ids: string[]; folders: string[]; shelf: "all" | "folder" | "archived" | "deleted"; manage: (wanted: Manage) => void; as: "buttons" | "items" };
type Action = { label: string; wanted: Manage };

/** What can be done with one source (in its menu) or many (as buttons); one table of actions for both. */
export function SourceActions({ ids, folders, shelf, manage, as }: Props) {
  const [folder, setFolder] = useState("");
  const actions: Action[] =
    shelf === "deleted"
      ? [{ label: "Bring back", wanted: { action: "bring-back", ids } }]
      : [
          ...(shelf === "folder" ? [{ label: "Take out of the folder", wanted: { action: "move" as const, ids, folder: null } }] : []),
          shelf === "archived" ? { label: "Back to the list", wanted: { action: "unarchive", ids } } : { label: "Archive", wanted: { action: "archive", ids } },
          { label: "Delete", wanted: { action: "delete", ids } },
        ];
  const move = (name: string) => name.trim() !== "" && manage({ action: "move", ids, folder: name.trim() });
  if (as === "buttons") {
    return (
      <>
        {actions.map(({ label, wanted }) => (
          <button key={label} type="button" className="button" onClick={() => manage(wanted)}>
            {label}
          </button>
        ))}
        {shelf === "deleted" ? null : (
          <form
            className="flex items-center gap-1"
            onSubmit={(event) => {
              event.preventDefault();
              move(folder);
            }}
          >
            <input
              className="field w-36 py-0.5"
              list="folders"
              aria-label="Folder to move to"
              placeholder="Folder"
              value={folder}
              onChange={(event) => setFolder(event.target.value)}
            />
            <datalist id="folders">
              {folders.map((name) => (
                <option key={name} value={name} />
              ))}
            </datalist>
            <button type="submit" className="button">
              Move
            </button>
          </form>
        )}
      </>
    );
  }
  const item = "block w-full rounded px-2 py-1.5 text-left outline-none data-[highlighted]:bg-pale";
  return (
    <>
      {shelf === "deleted"
        ? null
        : folders.map((name) => (
            <DropdownMenu.Item key={name} className={item} onSelect={() => move(name)}>
              Move to {name}
            </DropdownMenu.Item>
          ))}
      {actions.map(({ label, wanted }) => (
        <DropdownMenu.Item key={label} className={item} onSelect={() => manage(wanted)}>
          {label}
        </DropdownMenu.Item>
      ))}
    </>
  );
}
