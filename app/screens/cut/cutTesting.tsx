import { fireEvent } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { typedLength } from '@dormer/core/job/document';
import { download } from '../../controls/files';
import { screen } from '../../test/screen';

export const given = download as jest.MockedFunction<typeof download>;

export const alcove = chimneyAlcove();

export const mm = (typed: string) => typedLength(typed, 'mm');

export type Tab = 'Layouts' | 'Buy' | 'At the saw' | 'Pieces';

export const turn = (tab: Tab) => fireEvent.press(screen.getByRole('radio', { name: tab }));
