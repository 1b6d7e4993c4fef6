/**
 * Makes the demo's narrated slide show: slides drawn by Chromium, spoken by espeak-ng, joined by
 * ffmpeg; the captions' times are those of the speech.
 *
 *   apt-get install ffmpeg espeak-ng chromium
 *   npx tsx tools/samples/make-film.ts
 */
import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";

const target = path.join(import.meta.dirname, "../../standins/web-site/files");
const work = mkdtempSync(path.join(tmpdir(), "vumo-film-"));

/** A slide and what is said over it, caption by caption. */
const SLIDES: { title: string; drawing: string; said: string[] }[] = [
  {
    title: "The light of Skerry Bay",
    drawing:
      '<path d="M560 470 L590 190 H650 L680 470 Z" fill="#fffefb" stroke="#1f2b33" stroke-width="4"/><rect x="580" y="140" width="80" height="50" fill="#ffe6cc" stroke="#1f2b33" stroke-width="4"/><path d="M570 140 Q620 90 670 140 Z" fill="#a4392c"/><path d="M660 160 L1000 90 V240 Z" fill="#ffe6cc"/><path d="M0 470 H1280 V720 H0 Z" fill="#1d5e55"/>',
    said: [
      "The harbour light of Skerry Bay was built in 1871.",
      "It stands on a rock that the sea covers at high water.",
      "Its beam can be seen from twenty miles away.",
    ],
  },
  {
    title: "The lens",
    drawing:
      '<g fill="none" stroke="#1d5e55" stroke-width="7"><circle cx="640" cy="400" r="60"/><circle cx="640" cy="400" r="100"/><circle cx="640" cy="400" r="140"/><circle cx="640" cy="400" r="180"/></g><circle cx="640" cy="400" r="22" fill="#ffe6cc" stroke="#1f2b33" stroke-width="4"/>',
    said: [
      "A lens gathers the light of the lamp.",
      "Each ring of glass bends the light a little more than the one inside it,",
      "so all of it leaves the tower as one narrow beam.",
    ],
  },
  {
    title: "Turning the lens",
    drawing:
      '<rect x="440" y="520" width="400" height="40" rx="20" fill="#56636b"/><rect x="520" y="260" width="240" height="260" fill="none" stroke="#1f2b33" stroke-width="5"/><path d="M520 390 H760 M640 260 V520" stroke="#1f2b33" stroke-width="3"/>',
    said: [
      "The lens weighs more than two tonnes.",
      "It floats on a ring of mercury, because mercury is heavier than iron.",
      "A child can turn it with one hand.",
    ],
  },
  {
    title: "The keepers",
    drawing:
      '<circle cx="640" cy="390" r="150" fill="#fffefb" stroke="#1f2b33" stroke-width="6"/><path d="M640 390 V280 M640 390 L720 430" stroke="#1f2b33" stroke-width="8"/>',
    said: [
      "[clock ticking]",
      "Three keepers lived in the tower.",
      "They wound the clockwork every four hours, and they wrote down every ship that passed.",
      "The last keeper left in 1986, when an electric motor took over.",
    ],
  },
];

const page = (title: string, drawing: string) =>
  `<body style="margin:0;background:#f4f2ec"><svg width="640" height="360" viewBox="0 0 1280 720">${drawing}<text x="640" y="80" text-anchor="middle" font-family="DejaVu Serif" font-size="52" fill="#1f2b33">${title}</text></svg></body>`;

const time = (seconds: number) => {
  const ms = Math.round(seconds * 1000);
  return `${String(Math.floor(ms / 60000)).padStart(2, "0")}:${String(Math.floor(ms / 1000) % 60).padStart(2, "0")}.${String(ms % 1000).padStart(3, "0")}`;
};
const run = (program: string, ...args: string[]) => execFileSync(program, args, { stdio: ["ignore", "pipe", "ignore"] }).toString();
const lengthOf = (file: string) => Number(run("ffprobe", "-v", "error", "-show_entries", "format=duration", "-of", "csv=p=0", file));

const cues: string[] = [];
const sounds: string[] = [];
const pictures: string[] = [];
let at = 0;
SLIDES.forEach(({ title, drawing, said }, index) => {
  const html = path.join(work, `${index}.html`);
  const png = path.join(work, `${index}.png`);
  writeFileSync(html, page(title, drawing));
  run("chromium", "--headless=new", "--no-sandbox", "--disable-gpu", "--hide-scrollbars", "--window-size=640,360", `--screenshot=${png}`, `file://${html}`);
  const opened = at;
  said.forEach((line, number) => {
    const wav = path.join(work, `${index}-${number}.wav`);
    if (line.startsWith("[")) run("ffmpeg", "-f", "lavfi", "-i", "anoisesrc=d=1.2:a=0.02:r=22050", "-ac", "1", wav);
    else run("espeak-ng", "-v", "en-gb", "-s", "150", "-w", wav, line);
    const seconds = lengthOf(wav);
    cues.push(`${cues.length + 1}\n${time(at)} --> ${time(at + seconds)}\n${line}\n`);
    sounds.push(wav);
    at += seconds;
  });
  pictures.push(`file '${png}'\nduration ${(at - opened).toFixed(3)}`);
});
writeFileSync(path.join(work, "sounds.txt"), sounds.map((file) => `file '${file}'`).join("\n"));
writeFileSync(path.join(work, "pictures.txt"), `${pictures.join("\n")}\nfile '${path.join(work, `${SLIDES.length - 1}.png`)}'`);
run("ffmpeg", "-y", "-f", "concat", "-safe", "0", "-i", path.join(work, "sounds.txt"), "-ar", "22050", "-ac", "1", path.join(work, "all.wav"));
run(
  "ffmpeg",
  "-y",
  "-f",
  "concat",
  "-safe",
  "0",
  "-i",
  path.join(work, "pictures.txt"),
  "-i",
  path.join(work, "all.wav"),
  "-r",
  "8",
  "-c:v",
  "libvpx-vp9",
  "-crf",
  "45",
  "-b:v",
  "0",
  "-g",
  "16",
  "-c:a",
  "libopus",
  "-b:a",
  "24k",
  "-shortest",
  path.join(target, "harbour-light.webm"),
);
run("ffmpeg", "-y", "-i", path.join(work, "all.wav"), "-t", "24", "-c:a", "libmp3lame", "-b:a", "32k", path.join(target, "harbour-light.mp3"));
writeFileSync(path.join(target, "harbour-light.vtt"), `WEBVTT - The light of Skerry Bay\n\n${cues.join("\n")}`);
rmSync(work, { recursive: true, force: true });
console.log(`${time(at)} of film`);
