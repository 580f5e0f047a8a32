'use client';

import { PictureOutlined } from '@ant-design/icons';
import { App } from 'antd';
import { MenuButton } from '../menu/MenuButton';
import { fileName, saveBlob, saveText } from '../files';
import { pngOf, type Picture } from './svg';
import { t } from './text';
import { errorText } from '../../core/error';

/** Saves or copies a chart: PNG to paste, SVG to keep sharp. */
export function SavePicture({ name, picture }: { name: string; picture: () => Promise<Picture> }) {
  const { message } = App.useApp();
  const act = (work: (picture: Picture) => Promise<void>) => {
    picture()
      .then(work)
      .catch((error: unknown) => message.error(t('savePicture.noPictureMessage', { message: errorText(error) })));
  };
  const items = [
    {
      key: 'png',
      label: t('savePicture.saveAsPng'),
      onClick: () => act(async (made) => saveBlob(fileName(name, 'png'), await pngOf(made))),
    },
    {
      key: 'svg',
      label: t('savePicture.saveAsSvg'),
      onClick: () =>
        act((made) => {
          saveText(fileName(name, 'svg'), 'image/svg+xml', made.svg);
          return Promise.resolve();
        }),
    },
    {
      key: 'copy',
      label: t('savePicture.copyAsPng'),
      onClick: () =>
        act(async (made) => {
          await navigator.clipboard.write([new ClipboardItem({ 'image/png': await pngOf(made) })]);
          message.success(t('savePicture.pictureCopied'));
        }),
    },
  ];
  return (
    <MenuButton
      items={items}
      type="text"
      size="small"
      icon={<PictureOutlined />}
      aria-label={t('savePicture.saveThePictureName', { name })}
      title={t('savePicture.saveOrCopyThisPicture')}
    />
  );
}
