import { QueryClient, QueryClientProvider, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect } from "react";
import { createBrowserRouter, RouterProvider } from "react-router";
import { ActsProvider } from "../api/acts";
import { Problem, whenSignedOut } from "../api/client";
import { sessionKey, useSession } from "../api/session";
import { Without } from "../ui/Without";
import { setDateOrder } from "../words/dates";
import { Broken, Lost } from "./Lost";
import { useTheme } from "./theme";

const SignIn = lazy(async () => ({ default: (await import("../signin/SignIn")).SignIn }));

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, thrown) => count < 2 && thrown instanceof Problem && thrown.mayRetry,
    },
  },
});

/** A view is fetched when it is first opened. */
function view<Name extends string>(
  load: () => Promise<Record<Name, React.ComponentType>>,
  name: Name,
) {
  return async () => ({ Component: (await load())[name] });
}

const router = createBrowserRouter([
  {
    lazy: view(() => import("./Shell"), "Shell"),
    errorElement: <Broken />,
    hydrateFallbackElement: <p className="p-8 text-soft">Opening…</p>,
    children: [
      { path: "/", lazy: view(() => import("../next/NextView"), "NextView") },
      {
        path: "/bookings",
        lazy: view(() => import("../booking/BookingsView"), "BookingsView"),
      },
      {
        path: "/bookings/new",
        lazy: view(() => import("../booking/BookingEdit"), "BookingNew"),
      },
      {
        path: "/bookings/calendar",
        lazy: view(() => import("../booking/CalendarRead"), "CalendarRead"),
      },
      {
        path: "/bookings/:id",
        lazy: view(() => import("../packing/PackingView"), "PackingView"),
      },
      {
        path: "/bookings/:id/load",
        lazy: view(() => import("../packing/load/LoadView"), "LoadView"),
      },
      {
        path: "/bookings/:id/trailer",
        lazy: view(() => import("../packing/trailer/TrailerView"), "TrailerView"),
      },
      {
        path: "/bookings/:id/chairs",
        lazy: view(() => import("../packing/day/ChairsView"), "ChairsView"),
      },
      {
        path: "/bookings/:id/faces/:face",
        lazy: view(() => import("../look/FaceSheet"), "FaceSheet"),
      },
      {
        path: "/bookings/:id/turnover",
        lazy: view(() => import("../cleandown/TurnoverView"), "TurnoverView"),
      },
      {
        path: "/clean-down",
        lazy: view(() => import("../cleandown/CleanDownView"), "CleanDownView"),
      },
      {
        path: "/bookings/:id/edit",
        lazy: view(() => import("../booking/BookingEdit"), "BookingEdit"),
      },
      { path: "/restock", lazy: view(() => import("../restock/RestockView"), "RestockView") },
      { path: "/restock/shops", lazy: view(() => import("../restock/ShopsView"), "ShopsView") },
      {
        path: "/restock/money",
        lazy: view(() => import("../restock/money/MoneyView"), "MoneyView"),
      },
      {
        path: "/restock/range",
        lazy: view(() => import("../restock/range/RangeView"), "RangeView"),
      },
      {
        path: "/bookings/:id/cost",
        lazy: view(() => import("../restock/money/CostView"), "CostView"),
      },
      { path: "/people", lazy: view(() => import("../person/PeopleView"), "PeopleView") },
      {
        path: "/people/:id/touched",
        lazy: view(() => import("../cleandown/TouchedView"), "TouchedView"),
      },
      {
        path: "/kit/items/:id/reach",
        lazy: view(() => import("../cleandown/ReachView"), "ReachView"),
      },
      { path: "/people/:id", lazy: view(() => import("../person/PersonView"), "PersonView") },
      { path: "/kit", lazy: view(() => import("../kit/KitView"), "KitView") },
      {
        path: "/kit/new",
        lazy: view(() => import("../kit/item/ItemEdit"), "ItemNew"),
      },
      {
        path: "/kit/lines",
        lazy: view(() => import("../kit/intake/LinesNew"), "LinesNew"),
      },
      {
        path: "/kit/unnamed",
        lazy: view(() => import("../kit/intake/UnnamedView"), "UnnamedView"),
      },
      {
        path: "/kit/usual",
        lazy: view(() => import("../kit/intake/UsualNew"), "UsualNew"),
      },
      {
        path: "/kit/shades",
        lazy: view(() => import("../kit/intake/ShadesNew"), "ShadesNew"),
      },
      {
        path: "/kit/home",
        lazy: view(() => import("../kit/place/PutAway"), "PutAway"),
      },
      {
        path: "/kit/bags",
        lazy: view(() => import("../kit/place/BagsView"), "BagsView"),
      },
      {
        path: "/kit/labels",
        lazy: view(() => import("../kit/label/LabelsView"), "LabelsView"),
      },
      {
        path: "/kit/tables",
        lazy: view(() => import("../kit/intake/TablesView"), "TablesView"),
      },
      {
        path: "/kit/places/:id/walk",
        lazy: view(() => import("../kit/declutter/WalkView"), "WalkView"),
      },
      {
        path: "/kit/places/:id/count",
        lazy: view(() => import("../kit/count/CountView"), "CountView"),
      },
      {
        path: "/kit/items/:id",
        lazy: view(() => import("../kit/item/ItemSheet"), "ItemSheet"),
      },
      {
        path: "/kit/items/:id/edit",
        lazy: view(() => import("../kit/item/ItemEdit"), "ItemEdit"),
      },
      {
        path: "/kit/places/new",
        lazy: view(() => import("../kit/intake/PlacesNew"), "PlacesNew"),
      },
      {
        path: "/kit/places/form",
        lazy: view(() => import("../kit/place/PlaceEdit"), "PlaceNew"),
      },
      {
        path: "/kit/places/:id",
        lazy: view(() => import("../kit/place/PlaceView"), "PlaceView"),
      },
      {
        path: "/kit/places/:id/edit",
        lazy: view(() => import("../kit/place/PlaceEdit"), "PlaceEdit"),
      },
      {
        path: "/bench",
        lazy: view(() => import("../depot/bench/BenchView"), "BenchView"),
      },
      {
        path: "/bench/empties",
        lazy: view(() => import("../depot/empties/EmptiesView"), "EmptiesView"),
      },
      {
        path: "/bench/dilution",
        lazy: view(() => import("../cleandown/DilutionView"), "DilutionView"),
      },
      {
        path: "/bench/recall",
        lazy: view(() => import("../depot/lineage/RecallView"), "RecallView"),
      },
      {
        path: "/bench/palettes/:id",
        lazy: view(() => import("../depot/palette/PaletteView"), "PaletteView"),
      },
      {
        path: "/bench/:id",
        lazy: view(() => import("../depot/bench/SessionView"), "SessionView"),
      },
      {
        path: "/dates",
        lazy: view(() => import("../dates/DatesView"), "DatesView"),
      },
      {
        path: "/house",
        lazy: view(() => import("../rule/HouseView"), "HouseView"),
      },
      {
        path: "/account",
        lazy: view(() => import("../signin/AccountView"), "AccountView"),
      },
      { path: "*", element: <Lost /> },
    ],
  },
]);

export function Gerula() {
  return (
    <QueryClientProvider client={queries}>
      <ActsProvider>
        <Door />
      </ActsProvider>
    </QueryClientProvider>
  );
}

/** Shows the sign-in until somebody is signed in. */
function Door() {
  useTheme();
  const client = useQueryClient();
  const session = useSession();
  useEffect(
    () => whenSignedOut(() => void client.invalidateQueries({ queryKey: sessionKey })),
    [client],
  );
  if (!session.data) {
    return (
      <main className="p-8">
        <Without query={session} waiting="Opening…" />
      </main>
    );
  }
  setDateOrder(session.data.dateOrder ?? "day-first");
  return session.data.email ? (
    <RouterProvider router={router} />
  ) : (
    <Suspense fallback={<p className="p-8 text-soft">Opening…</p>}>
      <SignIn />
    </Suspense>
  );
}
