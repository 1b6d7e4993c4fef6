import { redirect } from "next/navigation";
import { latestSetId } from "@/server/sets/latest-set";

export const dynamic = "force-dynamic";

/** Opens where the teacher left off. */
export default function Home() {
  const setId = latestSetId();
  redirect(setId ? `/sets/${setId}/margin` : "/sources");
}
