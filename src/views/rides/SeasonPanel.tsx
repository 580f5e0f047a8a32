'use client';

import { Segmented, Select } from 'antd';
import { useState } from 'react';
import { SURFACES, type Surface } from '../../core/needs';
import { SURFACE_TEXT } from '../../features/rider/words';
import { SaveTable } from '../../features/save-table/SaveTable';
import { distanceText } from '../../features/units/measures';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import { useUnits } from '../../features/workspace/useUnits';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import { durationText, fixed, monthText } from '../../ui/format';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Sideways } from '../../ui/panel/Sideways';
import { Table } from '../../ui/panel/Table';
import { shareText } from './ride-words';
import { SEASON_BY, seasonOf, yearsOf, type SeasonBy, type SeasonFilter } from './season';
import styles from './Rides.module.css';
import { percentCell } from '../../formats/csv-cells';
import { t } from './text';

/** Rides of all bikes at once, by month, bike or surface. */
export function SeasonPanel() {
  const units = useUnits();
  const shop = useAllRecords();
  const [by, setBy] = useState<SeasonBy>('month');
  const [filter, setFilter] = useState<SeasonFilter>({});
  if (!shop) return null;
  const { rides, bikes } = shop;
  const groups = seasonOf(rides, by, filter);
  const most = Math.max(1, ...groups.map(({ metres }) => metres));
  const nameOf = (key: string) => {
    if (by === 'month') return key === '' ? t('seasonPanel.noDate') : monthText(key);
    if (by === 'bike') return bikes.find(({ id }) => id === key)?.name ?? t('seasonPanel.deletedBike');
    return key === '' ? t('seasonPanel.notSaid') : SURFACE_TEXT[key as Surface];
  };
  const { bikeId, surface, year } = filter;
  return (
    <Panel aria-label={t('seasonPanel.season')} data-testid="season">
      <PanelHead>
        <h2>{t('seasonPanel.season')}</h2>
        <Segmented<SeasonBy>
          size="small"
          aria-label={t('seasonPanel.by')}
          value={by}
          options={SEASON_BY.map((value) => ({ value, label: t(`seasonPanel.bys.${value}`) }))}
          onChange={setBy}
        />
        <Select
          size="small"
          allowClear
          aria-label={t('seasonPanel.year')}
          placeholder={t('seasonPanel.allYears')}
          value={year ?? null}
          options={yearsOf(rides).map((value) => ({ value, label: value }))}
          onChange={(value: string | null | undefined) => setFilter({ ...filter, year: value ?? undefined })}
          style={{ width: 110 }}
        />
        <Select
          size="small"
          allowClear
          aria-label={t('seasonPanel.bike')}
          placeholder={t('seasonPanel.allBikes')}
          value={bikeId ?? null}
          options={bikes.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(value: string | null | undefined) => setFilter({ ...filter, bikeId: value ?? undefined })}
          popupMatchSelectWidth={false}
          style={{ width: 180 }}
        />
        <Select<Surface | null>
          size="small"
          allowClear
          aria-label={t('seasonPanel.surface')}
          placeholder={t('seasonPanel.allSurfaces')}
          value={surface ?? null}
          options={SURFACES.map((value) => ({ value, label: SURFACE_TEXT[value] }))}
          onChange={(value: Surface | null | undefined) => setFilter({ ...filter, surface: value ?? undefined })}
          popupMatchSelectWidth={false}
          style={{ width: 150 }}
        />
        <SaveTable
          name={t('seasonPanel.season')}
          table={() => ({
            fields: [
              by,
              'rides',
              'distance_km',
              'time_s',
              'speed_kmh',
              'most_used_chainring_t',
              'most_used_cog_t',
              'most_used_share_percent',
            ],
            rows: groups.map((group) => [
              by === 'month' ? group.key : nameOf(group.key),
              group.rides,
              group.metres / 1000,
              group.seconds,
              group.speedKmh,
              group.mostUsed?.chainring ?? '',
              group.mostUsed?.cog ?? '',
              group.mostUsed ? percentCell(group.mostUsed.share) : '',
            ]),
          })}
        />
      </PanelHead>
      {groups.length === 0 ? (
        <Note>{t('seasonPanel.none')}</Note>
      ) : (
        <Sideways label={t('seasonPanel.season')}>
          <Table className={styles.table} data-testid="season-table">
            <thead>
              <tr>
                <th scope="col">{t(`seasonPanel.bys.${by}`)}</th>
                <th scope="col">{t('seasonPanel.rides')}</th>
                <th scope="col">{t('seasonPanel.distance')}</th>
                <th scope="col">{t('seasonPanel.time')}</th>
                <th scope="col">{t('seasonPanel.speed')}</th>
                <th scope="col">{t('seasonPanel.mostUsed')}</th>
              </tr>
            </thead>
            <tbody>
              {groups.map((group) => (
                <tr key={group.key}>
                  <th scope="row">{nameOf(group.key)}</th>
                  <td>{group.rides}</td>
                  <td className={styles.barCell}>
                    <span className={styles.bar} style={{ width: `${(group.metres / most) * 100}%` }} aria-hidden />
                    <span>{distanceText(units, group.metres / 1000, 0)}</span>
                  </td>
                  <td>{durationText(group.seconds)}</td>
                  <td>{`${fixed(speedIn(units.speedUnit, group.speedKmh), 1)} ${SPEED_UNIT_TEXT[units.speedUnit]}`}</td>
                  <td>
                    {group.mostUsed
                      ? t('seasonPanel.gearShare', {
                          gear: `${group.mostUsed.chainring}/${group.mostUsed.cog}`,
                          share: shareText(group.mostUsed.share, 1),
                        })
                      : '–'}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </Sideways>
      )}
    </Panel>
  );
}
