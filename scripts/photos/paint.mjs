/* global document, OffscreenCanvas, createImageBitmap, FileReader */
// Runs inside a page: prints a sheet on a canvas, then photographs it: perspective, blur, shade, glare, noise, JPEG.

/** @returns the photo’s width, height and gray bytes in base64 */
export async function paint(spec) {
  const { look, tables, isBeside, plate } = spec;
  await document.fonts.load(`${look.isBold ? '700' : '400'} 20px "${look.font}"`);
  const random = (() => {
    let state = look.seed >>> 0;
    return () => {
      state = (state + 0x6d2b79f5) >>> 0;
      let t = state;
      t = Math.imul(t ^ (t >>> 15), t | 1);
      t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
      return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
  })();
  const fontOf = (px, bold = look.isBold) => `${bold ? '700' : '400'} ${px}px "${look.font}"`;

  function tableSheet(table) {
    const measure = new OffscreenCanvas(10, 10).getContext('2d');
    measure.font = fontOf(look.fontPx);
    const text = (cell) => (look.isComma && /^\d{4}$/.test(cell) ? `${cell[0]},${cell.slice(1)}` : cell);
    const wide = (texts) => Math.max(...texts.map((one) => measure.measureText(one).width)) + 2 * look.padX;
    const { isByRpm } = table;
    const nameHead = isByRpm ? 'CFM' : 'Speed';
    // Of a belt drive each static is over a pair, and its heads are on the next line.
    const heads = isByRpm ? 4 : 3;
    const pairs = table.statics.map((_, j) =>
      isByRpm ? [wide(['RPM', ...table.rows.map(({ cells }) => cells[j])]), wide(['BHP', '00.00'])] : [],
    );
    const columns = [
      wide([nameHead, ...table.rows.map(({ name }) => text(name))]),
      ...table.statics.map((p, j) =>
        isByRpm ? pairs[j][0] + pairs[j][1] : wide([p, ...table.rows.map(({ cells }) => text(cells[j]))]),
      ),
    ];
    const high = look.fontPx * 1.25 + 2 * look.padY;
    const width = columns.reduce((sum, one) => sum + one, 0);
    const height = high * (table.rows.length + heads);
    const border = look.fontPx * 1.2;
    const canvas = new OffscreenCanvas(Math.ceil(width + 2 * border), Math.ceil(height + 2 * border));
    const g = canvas.getContext('2d');
    g.fillStyle = look.paper;
    g.fillRect(0, 0, canvas.width, canvas.height);
    g.translate(border, border);
    g.fillStyle = look.ink;
    g.strokeStyle = look.ink;
    g.lineWidth = 1.6;
    g.textBaseline = 'middle';
    g.font = fontOf(look.fontPx * 1.05, true);
    g.textAlign = 'center';
    g.fillText(look.title, width / 2, high / 2, width);
    g.font = fontOf(look.fontPx * 0.9);
    const unit = table.unit === 'Pa' ? 'External static pressure (Pa)' : look.head;
    g.fillText(unit, columns[0] + (width - columns[0]) / 2, high * 1.5, width - columns[0]);
    g.font = fontOf(look.fontPx);
    const line = (x1, y1, x2, y2) => {
      g.beginPath();
      g.moveTo(x1, y1);
      g.lineTo(x2, y2);
      g.stroke();
    };
    const rowAt = (i) => high * (i + 2.5);
    let x = 0;
    columns.forEach((wideHere, j) => {
      const middle = x + wideHere / 2;
      if (j === 0) {
        g.textAlign = 'left';
        g.fillText(nameHead, x + look.padX, rowAt(0));
        table.rows.forEach(({ name }, i) => g.fillText(text(name), x + look.padX, rowAt(i + heads - 2)));
      } else {
        g.textAlign = 'center';
        g.fillText(table.statics[j - 1], middle, rowAt(0));
        const places = isByRpm ? [x + pairs[j - 1][0] / 2, x + pairs[j - 1][0] + pairs[j - 1][1] / 2] : [middle];
        if (isByRpm) places.forEach((place, k) => g.fillText(['RPM', 'BHP'][k], place, rowAt(1)));
        table.rows.forEach(({ cells, bhp }, i) => {
          if (look.shaded && cells[j - 1] === '-') {
            g.fillStyle = 'rgba(120,120,120,0.35)';
            g.fillRect(x, high * (i + heads), wideHere, high);
            g.fillStyle = look.ink;
          }
          places.forEach((place, k) => g.fillText(text((k === 0 ? cells : bhp)[j - 1]), place, rowAt(i + heads - 2)));
        });
      }
      if (look.rules === 'all') line(x, high, x, height);
      x += wideHere;
    });
    if (look.rules === 'all') line(width, high, width, height);
    const last = table.rows.length + heads;
    for (let i = 1; i <= last; i += 1)
      if (
        look.rules === 'all' ||
        look.rules === 'rows' ||
        (look.rules === 'head' && (i === heads || i === 1 || i === last))
      )
        line(0, high * i, width, high * i);
    return canvas;
  }

  function plateSheet() {
    const px = look.fontPx;
    const high = px * 1.9;
    const columns = look.isComma ? 2 : 1;
    const lines = Math.ceil(plate.lines.length / columns);
    const measure = new OffscreenCanvas(10, 10).getContext('2d');
    measure.font = fontOf(px);
    const one = Math.max(...plate.lines.map((text) => measure.measureText(text).width)) + 2 * px;
    const canvas = new OffscreenCanvas(Math.ceil(one * columns + 2 * px), Math.ceil(high * (lines + 1.5) + 2 * px));
    const g = canvas.getContext('2d');
    g.fillStyle = look.paper;
    g.fillRect(0, 0, canvas.width, canvas.height);
    g.fillStyle = look.ink;
    g.strokeStyle = look.ink;
    g.textBaseline = 'middle';
    g.font = fontOf(px * 1.1, true);
    g.fillText(plate.title, px, px + high / 2);
    g.font = fontOf(px);
    plate.lines.forEach((text, i) => {
      const [column, row] = [Math.floor(i / lines), i % lines];
      const [x, y] = [px + column * one, px + high * (row + 2)];
      g.fillText(text, x, y);
      if (look.rules === 'all' || look.rules === 'rows') {
        g.lineWidth = 1.2;
        g.beginPath();
        g.moveTo(x - px * 0.4, y + high / 2);
        g.lineTo(x + one - px * 1.2, y + high / 2);
        g.stroke();
      }
    });
    if (look.rules === 'all') g.strokeRect(px * 0.4, px * 0.4, canvas.width - px * 0.8, canvas.height - px * 0.8);
    return canvas;
  }

  /** Two models on one sheet, beside or under each other. */
  function sheetOf(parts) {
    if (parts.length === 1) return parts[0];
    const along = (side) => parts.reduce((sum, part) => sum + part[side], 0);
    const most = (side) => Math.max(...parts.map((part) => part[side]));
    const canvas = new OffscreenCanvas(
      isBeside ? along('width') : most('width'),
      isBeside ? most('height') : along('height'),
    );
    const g = canvas.getContext('2d');
    g.fillStyle = look.paper;
    g.fillRect(0, 0, canvas.width, canvas.height);
    let at = 0;
    for (const part of parts) {
      g.drawImage(part, isBeside ? at : 0, isBeside ? 0 : at);
      at += isBeside ? part.width : part.height;
    }
    return canvas;
  }

  const sheet = plate ? plateSheet() : sheetOf(tables.map(tableSheet));
  const source = sheet.getContext('2d').getImageData(0, 0, sheet.width, sheet.height);

  // The sheet’s corners in the photo: margin, tilt, and each corner pulled a little.
  const width = look.widthPx;
  const inner = width * (1 - 2 * look.margin);
  const height = Math.round((inner * sheet.height) / sheet.width + 2 * look.margin * width);
  const turn = (look.tilt * Math.PI) / 180;
  const shrink = 1 / (Math.abs(Math.cos(turn)) + Math.abs(Math.sin(turn)) * Math.max(width / height, height / width));
  const [w, h] = [inner * shrink, ((inner * sheet.height) / sheet.width) * shrink];
  const corners = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([sx, sy], i) => {
    const x = (sx * w) / 2 + look.corners[2 * i] * w;
    const y = (sy * h) / 2 + look.corners[2 * i + 1] * h;
    return [width / 2 + x * Math.cos(turn) - y * Math.sin(turn), height / 2 + x * Math.sin(turn) + y * Math.cos(turn)];
  });
  // From the photo back to the sheet.
  const rows = corners.flatMap(([x, y], i) => {
    const u = i === 1 || i === 2 ? sheet.width - 1 : 0;
    const v = i >= 2 ? sheet.height - 1 : 0;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  for (let i = 0; i < 8; i += 1) {
    let pivot = i;
    for (let k = i + 1; k < 8; k += 1) if (Math.abs(rows[k][i]) > Math.abs(rows[pivot][i])) pivot = k;
    [rows[i], rows[pivot]] = [rows[pivot], rows[i]];
    for (let k = 0; k < 8; k += 1) {
      if (k === i) continue;
      const share = rows[k][i] / rows[i][i];
      for (let j = i; j <= 8; j += 1) rows[k][j] -= share * rows[i][j];
    }
  }
  const m = rows.map((row, i) => row[8] / row[i]);
  const photo = new OffscreenCanvas(width, height);
  const g = photo.getContext('2d');
  const out = g.createImageData(width, height);
  const ground = [1, 3, 5].map((i) => parseInt(look.ground.slice(i, i + 2), 16));
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const k = m[6] * x + m[7] * y + 1;
      const u = (m[0] * x + m[1] * y + m[2]) / k;
      const v = (m[3] * x + m[4] * y + m[5]) / k;
      const i = 4 * (y * width + x);
      out.data[i + 3] = 255;
      if (u < 0 || v < 0 || u >= sheet.width - 1 || v >= sheet.height - 1) {
        for (let c = 0; c < 3; c += 1) out.data[i + c] = ground[c];
        continue;
      }
      const [x0, y0] = [Math.floor(u), Math.floor(v)];
      const [fx, fy] = [u - x0, v - y0];
      const a = 4 * (y0 * sheet.width + x0);
      const b = a + 4 * sheet.width;
      for (let c = 0; c < 3; c += 1)
        out.data[i + c] =
          (source.data[a + c] * (1 - fx) + source.data[a + 4 + c] * fx) * (1 - fy) +
          (source.data[b + c] * (1 - fx) + source.data[b + 4 + c] * fx) * fy;
    }
  g.putImageData(out, 0, 0);
  const blurred = new OffscreenCanvas(width, height);
  const bg = blurred.getContext('2d');
  bg.filter = `blur(${look.blurPx}px)`;
  bg.drawImage(photo, 0, 0);
  bg.filter = 'none';
  const lit = bg.getImageData(0, 0, width, height);
  const [dx, dy] = [Math.cos((look.shadeDeg * Math.PI) / 180), Math.sin((look.shadeDeg * Math.PI) / 180)];
  const gauss = () => random() + random() + random() - 1.5;
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const i = 4 * (y * width + x);
      const [sx, sy] = [x / width - 0.5, y / height - 0.5];
      const light = 1 - look.shade * (0.5 + sx * dx + sy * dy);
      let glare = 0;
      if (look.glare) {
        const far =
          Math.hypot(x / width - look.glare.x, ((y / height - look.glare.y) * height) / width) / look.glare.size;
        glare = 255 * look.glare.most * Math.max(0, 1 - far * far);
      }
      const noise = gauss() * 2 * look.noise;
      for (let c = 0; c < 3; c += 1) lit.data[i + c] = lit.data[i + c] * light + glare + noise;
    }
  bg.putImageData(lit, 0, 0);
  const jpeg = await blurred.convertToBlob({ type: 'image/jpeg', quality: look.jpeg });
  const bitmap = await createImageBitmap(jpeg);
  const final = new OffscreenCanvas(width, height);
  const fg = final.getContext('2d');
  fg.drawImage(bitmap, 0, 0);
  const { data } = fg.getImageData(0, 0, width, height);
  const gray = new Uint8Array(width * height);
  for (let i = 0, j = 0; i < gray.length; i += 1, j += 4)
    gray[i] = (data[j] * 299 + data[j + 1] * 587 + data[j + 2] * 114) / 1000;
  const asText = (blob) =>
    new Promise((resolve) => {
      const reader = new FileReader();
      reader.onload = () => resolve(reader.result.slice(reader.result.indexOf(',') + 1));
      reader.readAsDataURL(blob);
    });
  return {
    width,
    height,
    gray: await asText(new Blob([gray])),
    corners,
    ...(spec.withJpeg ? { jpeg: await asText(jpeg) } : {}),
  };
}
