'use client';

import { PictureOutlined } from '@ant-design/icons';
import { App, Button, Dropdown } from 'antd';
import { useBench } from '../bench/BenchProvider';
import { fileName, saveBlob, saveText } from '../files';
import { pngOf, type Picture } from './svg';

/** Saves or copies a chart: PNG to paste, SVG to keep sharp. */
export function SavePicture({ name, picture }: { name: string; picture: () => Promise<Picture> }) {
  const state = useBench();
  const { message } = App.useApp();
  const act = (work: (picture: Picture) => Promise<void>) => {
    if (state.kind !== 'ready') return;
    picture()
      .then(work)
      .catch((error: unknown) =>
        message.error(`No picture: ${error instanceof Error ? error.message : String(error)}`),
      );
  };
  const items = [
    {
      key: 'png',
      label: 'Save as PNG',
      onClick: () => act(async (made) => saveBlob(fileName(name, 'png'), await pngOf(made))),
    },
    {
      key: 'svg',
      label: 'Save as SVG',
      onClick: () => act((made) => Promise.resolve(saveText(fileName(name, 'svg'), 'image/svg+xml', made.svg))),
    },
    {
      key: 'copy',
      label: 'Copy as PNG',
      onClick: () =>
        act(async (made) => {
          await navigator.clipboard.write([new ClipboardItem({ 'image/png': await pngOf(made) })]);
          message.success('Picture copied');
        }),
    },
  ];
  return (
    <Dropdown trigger={['click']} menu={{ items }}>
      <Button
        type="text"
        size="small"
        icon={<PictureOutlined />}
        aria-label={`Save the picture: ${name}`}
        title="Save or copy this picture"
      />
    </Dropdown>
  );
}
