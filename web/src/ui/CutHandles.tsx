import { useRef } from 'react';
import { length, say, type Units } from './format';
import { round, widthAt } from './potShape';
import { type Drawn, type Frame } from './sectionShape';
import classes from './Section.module.css';

export interface Cuts {
  sliceMm: number;
  shaveMm: number;
  mostSliceMm: number;
  mostShaveMm: number;
  change: (sliceMm: number, shaveMm: number) => void;
}

interface Props {
  cuts: Cuts;
  d: Drawn;
  f: Frame;
  units: Units;
}

const STEP = 1;
const LEAP = 5;

/** Where knife and saw go, to be dragged on the drawing, or moved with the arrow keys. */
export function CutHandles({ cuts, d, f, units }: Props) {
  const { beforeBottomMm, topMm } = d.stand;
  const sliceZ = beforeBottomMm + cuts.sliceMm;
  const y = (z: number) => f.floor - z * f.scale;
  const middle = beforeBottomMm + d.before.heightMm * 0.55;
  const side = f.centre + (widthAt(d.before, d.before.heightMm * 0.55) / 2 - cuts.shaveMm) * f.scale;
  const half = (widthAt(d.before, cuts.sliceMm) / 2) * f.scale;
  return (
    <g>
      <Handle
        label="Base slice"
        value={cuts.sliceMm}
        most={cuts.mostSliceMm}
        units={units}
        vertical
        perMm={-1 / f.scale}
        change={(mm) => cuts.change(mm, cuts.shaveMm)}
        x={f.centre - half * 0.4}
        y={y(sliceZ)}
        line={`M${round(f.centre - half)} ${round(y(sliceZ))} H${round(f.centre + half)}`}
      />
      <Handle
        label="Side shave"
        value={cuts.shaveMm}
        most={cuts.mostShaveMm}
        units={units}
        perMm={-1 / f.scale}
        change={(mm) => cuts.change(cuts.sliceMm, mm)}
        x={side}
        y={y(middle)}
        line={`M${round(side)} ${round(y(topMm))} V${round(y(sliceZ))}`}
      />
    </g>
  );
}

interface HandleProps {
  label: string;
  value: number;
  most: number;
  units: Units;
  vertical?: boolean;
  /** Change for each unit of the drawing moved down or right. */
  perMm: number;
  change: (mm: number) => void;
  x: number;
  y: number;
  line: string;
}

function Handle({ label, value, most, units, vertical = false, perMm, change, x, y, line }: HandleProps) {
  const start = useRef<{ at: number; value: number } | null>(null);
  const to = (mm: number) => change(Math.max(0, Math.min(most, Math.round(mm))));
  /** Position in units of the drawing, whatever its size on the screen. */
  const at = (e: React.PointerEvent<SVGGElement>): number => {
    const box = e.currentTarget.ownerSVGElement;
    const rect = box?.getBoundingClientRect();
    const wide = box?.viewBox.baseVal.width ?? 1;
    const scale = rect && rect.width > 0 ? wide / rect.width : 1;
    return (vertical ? e.clientY : e.clientX) * scale;
  };
  const keys: Record<string, number> = {
    ArrowUp: STEP, ArrowDown: -STEP, ArrowRight: vertical ? STEP : -STEP, ArrowLeft: vertical ? -STEP : STEP, PageUp: LEAP, PageDown: -LEAP,
  };
  return (
    <g
      className={classes.handle}
      data-vertical={vertical}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={Math.round(most)}
      aria-valuenow={Math.round(value)}
      aria-valuetext={say(length(value, units))}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        start.current = { at: at(e), value };
      }}
      onPointerMove={(e) => {
        if (start.current) to(start.current.value + (at(e) - start.current.at) * perMm);
      }}
      onPointerUp={() => (start.current = null)}
      onPointerCancel={() => (start.current = null)}
      onKeyDown={(e) => {
        const by = keys[e.key];
        if (by === undefined) return;
        e.preventDefault();
        to(value + by);
      }}
    >
      <path className={classes.knife} d={line} />
      <circle className={classes.reach} cx={round(x)} cy={round(y)} r={20} />
      <circle className={classes.grip} cx={round(x)} cy={round(y)} r={9} />
      <path
        className={classes.arrows}
        d={
          vertical
            ? `M${round(x - 3)} ${round(y - 2)} l3 -3 l3 3 M${round(x - 3)} ${round(y + 2)} l3 3 l3 -3`
            : `M${round(x - 2)} ${round(y - 3)} l-3 3 l3 3 M${round(x + 2)} ${round(y - 3)} l3 3 l-3 3`
        }
      />
    </g>
  );
}
