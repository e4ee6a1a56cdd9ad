export async function drawAll() {
  return 0;
}
