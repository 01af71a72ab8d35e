import autocannon from 'autocannon';

/**
 * Asks for addresses that nobody asked for before, in a process of its own: `node bench/flood.ts <origin> <kind>
 * <connections> <seconds> [<rate>]`. Prints how many were answered.
 */
const ADDRESSES: Record<string, (n: number, roll: number) => string> = {
  nowhere: (n) => `/product/none-${n}`,
  starts: (_, roll) => `/shop?shop.from=${roll}`,
  variants: (n, roll) => `/product/${PRODUCTS[n % PRODUCTS.length]}?variant=${roll}`,
  any: (n, roll) =>
    [
      `/nowhere/${n}`,
      `/product/none-${n}`,
      `/?utm=${n}`,
      `/shop?shop.from=${roll}`,
      `/category/tableware?listing.from=${roll % 500}`,
    ][n % 5]!,
  home: () => '/',
};

const [origin, kind, connections, seconds, amount, ...PRODUCTS] = process.argv.slice(2) as [
  string,
  string,
  string,
  string,
  string,
  ...string[],
];
let n = 0;
const result = await autocannon({
  url: origin,
  connections: Number(connections),
  ...(Number(amount) ? { amount: Number(amount) } : { duration: Number(seconds) }),
  timeout: 30,
  requests: [
    {
      setupRequest: (request) => {
        n += 1;
        return { ...request, path: ADDRESSES[kind]!(n, Math.floor(Math.random() * 1_000_000)) };
      },
    },
  ],
});
console.log(JSON.stringify({ perSecond: result.requests.average, statuses: result.statusCodeStats }));
