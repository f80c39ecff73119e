import type { Schemas } from '../../api/client';
import { PotGlyph, type SaucerState } from '../../ui/PotGlyph';
import type { Units } from '../../ui/format';
import { placeWords } from '../../ui/words';
import { Link } from 'react-router';
import classes from './PlantHead.module.css';

interface Props {
  plant: Schemas['StoredPlant'];
  saucer: SaucerState;
  rootFill?: number | null;
  waterLeft?: number | null;
  units: Units;
  title?: string;
  children?: React.ReactNode;
}

/** Who we are talking about: its own pot, its names, its place. */
export function PlantHead({ plant, saucer, rootFill, waterLeft, units, title, children }: Props) {
  return (
    <header className={classes.head}>
      <PotGlyph
        pot={{ topMm: plant.potTopMm, baseMm: plant.drawnBaseMm, heightMm: plant.drawnHeightMm }}
        saucer={saucer}
        rootFill={rootFill}
        waterLeft={waterLeft}
        units={units}
        scale={0.21}
        box={{ width: 88, height: 92 }}
      />
      <div className={classes.names}>
        {title && <p className={classes.title}>{title}</p>}
        <h1>{title ? <Link to={`/plants/${plant.id}`}>{plant.commonName}</Link> : plant.commonName}</h1>
        <p>
          <i>{plant.species}</i> <span className="measure">{plant.label}</span>
        </p>
        <p className={classes.place}>
          {placeWords(plant.siteName, plant.spotName)} · {plant.clientName}
        </p>
      </div>
      <div className={`${classes.acts} no-print`}>{children}</div>
    </header>
  );
}
