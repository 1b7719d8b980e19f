"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo } from "react";
import { addPhoto, photosOf, removePhoto, restorePhoto, type Photo } from "@/store";
import { FilePick, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/as-found/linePhotos";

/** Longest side a photo is kept at, px: enough to read a display, small enough to keep many. */
const LONGEST_PX = 900;

/** A photo made small: drawn on a canvas and kept as JPEG. */
async function madeSmall(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error(say.thePictureCouldNot))), "image/jpeg", 0.8),
  );
}

/** Photos of a line as found, kept with the job on this machine. */
export function LinePhotos({ jobId, code }: { readonly jobId: string; readonly code: string }) {
  const tell = useTell();
  const all = useLiveQuery(() => photosOf(jobId), [jobId]) ?? [];
  const here = all.filter((photo) => photo.code === code);
  const kilobytes = Math.round(all.reduce((sum, photo) => sum + photo.image.size, 0) / 1000);
  const take = async (file: File) => {
    try {
      await addPhoto(jobId, code, await madeSmall(file));
    } catch {
      tell(say.isNotAPicture(file.name));
    }
  };
  const drop = async (photo: Photo) => {
    await removePhoto(photo.id);
    tell(say.thePhotoWasTaken, () => void restorePhoto(photo));
  };
  return (
    <div className="mt-5 flex flex-wrap items-center gap-3">
      <FilePick label={say.photoOfLine(code)} accept="image/*" camera onPick={(file) => void take(file)}>
        {say.photoOfLine(code)}
      </FilePick>
      {here.map((photo) => (
        <Thumb key={photo.id} photo={photo} onDrop={() => void drop(photo)} />
      ))}
      {all.length > 0 ? (
        <span className="text-[0.9rem] text-quiet">{say.photoWithThisBike(all.length, kilobytes)}</span>
      ) : null}
    </div>
  );
}

function Thumb({ photo, onDrop }: { readonly photo: Photo; readonly onDrop: () => void }) {
  const url = useMemo(() => URL.createObjectURL(photo.image), [photo.image]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return (
    <span className="inline-flex items-center gap-1">
      {/* A blob of this browser's own: no image service stands behind it. */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img src={url} alt={say.lineAsFound(photo.code)} className="h-16 rounded-md border-2 border-rule" />
      <button
        type="button"
        onClick={onDrop}
        className="min-h-9 px-1 text-[0.85rem] text-quiet underline underline-offset-4"
      >
        {say.takeAway}
      </button>
    </span>
  );
}
