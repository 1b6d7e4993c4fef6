"use client";
import { useRouter } from "next/navigation";

export function NewSetButton({ sourceId }: { sourceId: string }) {
  const router = useRouter();
  const create = async () => {
    const response = await fetch("/api/sets", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ sourceIds: [sourceId] }),
    });
    if (response.ok) router.push(`/sets/${((await response.json()) as { setId: string }).setId}/plan`);
  };
  return (
    <button type="button" className="button" onClick={() => void create()}>
      New set of it
    </button>
  );
}
