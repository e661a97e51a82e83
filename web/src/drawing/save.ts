/** Saves a drawing as a file that looks the same anywhere: tones and type are written into it. */
export function saveDrawing(selector: string, name: string) {
  const drawn = document.querySelector<SVGSVGElement>(selector);
  if (!drawn) return;
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const from = [drawn, ...drawn.querySelectorAll("*")];
  const to = [copy, ...copy.querySelectorAll("*")];
  from.forEach((element, i) => {
    const style = getComputedStyle(element);
    const target = to[i] as SVGElement;
    for (const property of ["fill", "stroke", "stroke-width", "opacity", "font-family", "font-size", "font-weight"]) {
      const value = style.getPropertyValue(property);
      // A pattern is named by its place in the page; the file holds it under the same name.
      if (value && !value.startsWith("url(")) target.style.setProperty(property, value);
    }
    // What the page's tones said is now said by value.
    for (const attribute of ["fill", "stroke"])
      if (target.getAttribute(attribute)?.startsWith("var(")) target.removeAttribute(attribute);
    target.removeAttribute("class");
    target.removeAttribute("tabindex");
  });
  const box = drawn.viewBox.baseVal;
  const scale = drawn.clientWidth / Math.max(box.width, 0.001);
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("width", String(Math.round(box.width * scale)));
  copy.setAttribute("height", String(Math.round(box.height * scale)));
  saveFile(new XMLSerializer().serializeToString(copy), "image/svg+xml", name);
}

/** Saves words as a file of a name. */
export function saveFile(text: string, type: string, name: string) {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
