"use client";
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import {
  codeInName,
  nameOnPage,
  outlineOf,
  spotOf,
  withEntryMoved,
  withNewPage,
  withWayIn,
} from "@/core/display/editing";
import { Button } from "@/ui/primitives";
import { LineDetail } from "../LineDetail";
import type { WorkbenchProps } from "../workbenchProps";
import { PageDrawing } from "./PageDrawing";
import { useHand, type Hand } from "./useHand";
import * as say from "@/words/screens/workbench/menu/menuPanel";

/** The menu as a drawing: pages under the keys that open them, entries in order, groups opened out. */
export function MenuPanel(props: WorkbenchProps) {
  const { profile, change } = props;
  const hand = useHand();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { roots, unlisted } = outlineOf(profile);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    change((now) => {
      const [from, to] = [spotOf(now, String(active.id)), spotOf(now, String(over.id))];
      return from && to ? withEntryMoved(now, from, to) : now;
    });
    const to = spotOf(profile, String(over.id));
    const moved = profile.menu.pages[to?.page ?? 0];
    // What is open stays open where it went.
    if (hand.open === active.id && to && moved) hand.onOpen(nameOnPage(String(active.id), moved.id));
  };
  return (
    <div>
      <p className="mb-3 max-w-[64ch] text-quiet">{say.asItIsShown}</p>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{
          screenReaderInstructions: { draggable: say.howToMove },
          announcements: {
            onDragStart: ({ active }) => say.taken(codeInName(String(active.id))),
            onDragOver: ({ active, over }) =>
              over ? say.over(codeInName(String(active.id)), codeInName(String(over.id))) : undefined,
            onDragEnd: ({ active, over }) =>
              over ? say.put(codeInName(String(active.id)), codeInName(String(over.id))) : say.left,
            onDragCancel: () => say.left,
          },
        }}
      >
        {roots.map(({ page, index }) => (
          <PageDrawing key={page.id} {...props} index={index} hand={hand} within={[]} />
        ))}
      </DndContext>
      <div className="mt-4">
        <Button
          disabled={profile.menu.pages.length >= 40}
          onClick={() =>
            change((now) => {
              const { profile: more, page } = withNewPage(now, say.newPage);
              return withWayIn(more, page.id);
            })
          }
        >
          {say.onePageMore}
        </Button>
      </div>
      {unlisted.length > 0 ? <Unlisted {...props} codes={unlisted} hand={hand} /> : null}
    </div>
  );
}

interface UnlistedProps extends WorkbenchProps {
  readonly codes: readonly string[];
  readonly hand: Hand;
}

/** Lines no page lists: a procedure sets them. */
function Unlisted({ codes, hand, ...props }: UnlistedProps) {
  const { open, onOpen } = hand;
  return (
    <section aria-label={say.noMenuShows} className="mt-6">
      <h2 className="text-[1.15rem]">{say.noMenuShows}</h2>
      <ul>
        {codes.map((code) => (
          <li key={code} className="border-t border-rule py-2">
            <div className="flex flex-wrap items-center gap-3">
              <strong className="font-code">{code}</strong>
              <Button weight="quiet" aria-expanded={open === code} onClick={() => onOpen(open === code ? null : code)}>
                {open === code ? say.close : say.changeIt}
                <span className="sr-only"> {code}</span>
              </Button>
            </div>
            {open === code ? (
              <LineDetail {...props} at={props.profile.lines.findIndex((line) => line.code === code)} />
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
