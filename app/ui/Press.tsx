import type { Ref } from 'react';
import { Pressable, type PressableProps, type View } from 'react-native';
import { Unexplained } from './Explained';

/** What is pressed as a whole: nothing within it is pressed by itself. */
export function Press({ children, ...rest }: PressableProps & { readonly ref?: Ref<View> }) {
  if (typeof children !== 'function') {
    return (
      <Pressable {...rest}>
        <Unexplained>{children}</Unexplained>
      </Pressable>
    );
  }
  return <Pressable {...rest}>{(state) => <Unexplained>{children(state)}</Unexplained>}</Pressable>;
}
