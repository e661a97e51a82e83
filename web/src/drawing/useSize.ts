import { type RefObject, useLayoutEffect, useState } from "react";

/** The size of an element in pixels, kept up to date; zero before it is known. */
export function useSize(of: RefObject<Element | null>) {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = of.current;
    if (!element) return;
    const measure = () => {
      const { width, height } = element.getBoundingClientRect();
      setSize((old) => (old.width === width && old.height === height ? old : { width, height }));
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    return () => watch.disconnect();
  }, [of]);
  return size;
}
