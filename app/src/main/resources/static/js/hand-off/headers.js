// What a clip's file says of itself (MP4, MOV): the header alone is read, however long the film is.
import { createFile } from "../vendor/mp4box.js";
import { md5 } from "../vendor/hashes.js";

const AT_ONCE = 1 << 20;
const LARGEST_HEADER = 64 << 20;
const MOST_READINGS = 400;
const YEAR_1980_MS = 315532800000;
const MOST_APART = 3e-4;
const USUAL = [
  [24000, 1001], [24, 1], [25, 1], [30000, 1001], [30, 1], [48, 1], [50, 1],
  [60000, 1001], [60, 1], [100, 1], [120000, 1001], [120, 1], [240, 1],
];

/** The same file of the same card has the same id, wherever it is read (a UUID of version 3). */
export function clipId(card, path, bytes) {
  const hash = md5(new TextEncoder().encode(`${card}/${path} ${bytes}`));
  hash[6] = (hash[6] & 0x0f) | 0x30;
  hash[8] = (hash[8] & 0x3f) | 0x80;
  const hex = Array.from(hash, (byte) => byte.toString(16).padStart(2, "0")).join("");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

/** Reads on from where the parser wants to, past the film, until the header is whole. */
async function parsed(file) {
  const parser = createFile();
  let info = null;
  parser.onReady = (ready) => (info = ready);
  let at = 0;
  let read = 0;
  for (let turn = 0; turn < MOST_READINGS && !info && at < file.size && read < LARGEST_HEADER; turn++) {
    const piece = await file.slice(at, at + AT_ONCE).arrayBuffer();
    piece.fileStart = at;
    read += piece.byteLength;
    const next = parser.appendBuffer(piece);
    at = next > at ? next : at + piece.byteLength;
  }
  if (!info || info.videoTracks.length === 0) {
    throw new Error("There is no film in it.");
  }
  return { parser, info };
}

function usual(perSecond) {
  return USUAL.find(([over, under]) => Math.abs(over / under / perSecond - 1) < MOST_APART);
}

function named([over, under]) {
  return under === 1 ? String(over) : `${over}/${under}`;
}

function times(table, timescale) {
  const counts = table.sample_counts;
  const each = table.sample_deltas;
  let frames = 0;
  let ticks = 0;
  let variable = false;
  counts.forEach((count, row) => {
    frames += count;
    ticks += count * each[row];
    variable ||= (count > 1 || row < counts.length - 1) && Math.abs(each[row] - each[0]) > 1;
  });
  if (frames === 0 || ticks === 0) {
    throw new Error("It does not say when its pictures are.");
  }
  const mean = (frames * timescale) / ticks;
  const rate = usual(mean) ?? (variable ? [Math.max(1, Math.round(mean)), 1] : [timescale, each[0]]);
  return { frames, rate: named(rate), variable };
}

/** The number of the first frame from midnight, if there is a track of time codes. */
async function timeCode(file, parser) {
  const track = parser.moov.traks.find((one) => one.mdia.hdlr.handler === "tmcd");
  const table = track?.mdia.minf.stbl;
  const at = (table?.stco ?? table?.co64)?.chunk_offsets?.[0];
  const described = table?.stsd.entries[0]?.data;
  if (at === undefined || !described) {
    return {};
  }
  const number = new DataView(await file.slice(Number(at), Number(at) + 4).arrayBuffer());
  const flags = new DataView(new Uint8Array(described).buffer).getUint32(4);
  return number.byteLength < 4 ? {} : { startFrame: number.getUint32(0), dropFrame: (flags & 1) === 1 };
}

/** A clip as the server wants it. */
export async function header(file, card, path) {
  const { parser, info } = await parsed(file);
  const video = info.videoTracks[0];
  const track = parser.moov.traks.find((one) => one.tkhd.track_id === video.id);
  const turned = video.matrix[0] === 0 && video.matrix[1] !== 0;
  const [width, height] = [video.track_width, video.track_height].map(Math.floor);
  const made = info.created?.getTime?.() ?? 0;
  return {
    id: clipId(card, path, file.size),
    card,
    files: [path],
    bytes: file.size,
    ...times(track.mdia.minf.stbl.stts, track.mdia.mdhd.timescale),
    width: turned ? height : width,
    height: turned ? width : height,
    ...(await timeCode(file, parser)),
    ...(made >= YEAR_1980_MS ? { madeMs: made } : {}),
  };
}
