import type { DragEndEvent } from '@dnd-kit/core';
import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { DayTask, MoveRequest } from '@mardle/core';
import type { CSSProperties, ReactNode } from 'react';
import { useId, useRef } from 'react';
import type { Stretch } from './stretches.js';
import { minuteAt, placing } from './stretches.js';

/** A press that moves less than this is no drag, px. */
const A_DRAG_PX = 6;
/** Tasks are dropped on whole fives, as people tell time, min. */
const GRID_MIN = 5;

interface DragLineProps {
  readonly stretches: readonly Stretch[];
  /** Hears where somebody wants a task. */
  readonly onDrop: (task: DayTask, wish: MoveRequest) => void;
  readonly children: ReactNode;
}

/** A line of time along which tasks are dragged, and from row to row. */
export function DragLine({ stretches, onDrop, children }: DragLineProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: A_DRAG_PX } }));
  const drop = ({ active, over, delta }: DragEndEvent): void => {
    const { task, width } = active.data.current as DraggedData;
    const was = placing(stretches)(task.start) ?? 0;
    const minute = minuteAt(stretches, was + delta.x / width());
    const start = Math.abs(delta.x) < A_DRAG_PX ? task.start : GRID_MIN * Math.round(minute / GRID_MIN);
    const hands = typeof over?.id === 'string' ? over.id : task.hands;
    if (start !== task.start || hands !== task.hands) onDrop(task, { start, hands });
  };
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
      {children}
    </DndContext>
  );
}

/** What a dragged box carries: its task, and how wide its row is then, px. */
interface DraggedData {
  readonly task: DayTask;
  readonly width: () => number;
}

interface DragBoxProps {
  readonly task: DayTask;
  readonly className: string | undefined;
  readonly style: CSSProperties;
  readonly title: string;
  readonly children: ReactNode;
}

/** A task that can be dragged. The lists move it by keys. */
export function DragBox({ task, style, children, ...rest }: DragBoxProps) {
  const box = useRef<HTMLElement | null>(null);
  const data: DraggedData = { task, width: () => box.current?.parentElement?.clientWidth ?? 1 };
  const { listeners, setNodeRef, transform } = useDraggable({ id: task.id, data: { ...data } });
  const moved = transform && { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 2 };
  return (
    <div
      ref={(node) => {
        box.current = node;
        setNodeRef(node);
      }}
      style={{ ...style, ...moved }}
      data-drag
      {...rest}
      {...listeners}
    >
      {children}
    </div>
  );
}

interface DropRowProps {
  /** Whose row it is; null for an oven's or a pie's, on which nothing is dropped. */
  readonly hands: string | null;
  readonly className: string | undefined;
  readonly children: ReactNode;
}

/** A row: a task that is dropped on that of somebody's hands becomes theirs. */
export function DropRow({ hands, className, children }: DropRowProps) {
  const id = useId();
  const { setNodeRef } = useDroppable({ id: hands ?? id, disabled: hands === null });
  return (
    <div ref={setNodeRef} className={className}>
      {children}
    </div>
  );
}
