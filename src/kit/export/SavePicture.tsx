'use client';

import { PictureOutlined } from '@ant-design/icons';
import { App, Button, Dropdown } from 'antd';
import { fileName, saveBlob, saveText } from '../files';
import { pngOf, type Picture } from './svg';
import { WORDS } from './text';

/** Saves or copies a chart: PNG to paste, SVG to keep sharp. */
export function SavePicture({ name, picture }: { name: string; picture: () => Promise<Picture> }) {
  const { message } = App.useApp();
  const act = (work: (picture: Picture) => Promise<void>) => {
    picture()
      .then(work)
      .catch((error: unknown) =>
        message.error(WORDS.savePicture.noPictureMessage(error instanceof Error ? error.message : String(error))),
      );
  };
  const items = [
    {
      key: 'png',
      label: WORDS.savePicture.saveAsPng,
      onClick: () => act(async (made) => saveBlob(fileName(name, 'png'), await pngOf(made))),
    },
    {
      key: 'svg',
      label: WORDS.savePicture.saveAsSvg,
      onClick: () => act((made) => Promise.resolve(saveText(fileName(name, 'svg'), 'image/svg+xml', made.svg))),
    },
    {
      key: 'copy',
      label: WORDS.savePicture.copyAsPng,
      onClick: () =>
        act(async (made) => {
          await navigator.clipboard.write([new ClipboardItem({ 'image/png': await pngOf(made) })]);
          message.success(WORDS.savePicture.pictureCopied);
        }),
    },
  ];
  return (
    <Dropdown trigger={['click']} menu={{ items }}>
      <Button
        type="text"
        size="small"
        icon={<PictureOutlined />}
        aria-label={WORDS.savePicture.saveThePictureName(name)}
        title={WORDS.savePicture.saveOrCopyThisPicture}
      />
    </Dropdown>
  );
}
