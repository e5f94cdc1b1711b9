import { QueryClient, QueryClientProvider, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { createBrowserRouter, RouterProvider } from "react-router";
import { BookingEdit, BookingNew } from "../booking/BookingEdit";
import { BookingsView } from "../booking/BookingsView";
import { CalendarRead } from "../booking/CalendarRead";
import { DatesView } from "../dates/DatesView";
import { HouseView } from "../dates/HouseView";
import { BenchView } from "../depot/BenchView";
import { DilutionView } from "../depot/DilutionView";
import { EmptiesView } from "../depot/EmptiesView";
import { PaletteView } from "../depot/PaletteView";
import { RecallView } from "../depot/RecallView";
import { SessionView } from "../depot/SessionView";
import { BagsView } from "../kit/BagsView";
import { BringHome } from "../kit/BringHome";
import { CountView } from "../kit/CountView";
import { ItemEdit, ItemNew } from "../kit/ItemEdit";
import { ItemSheet } from "../kit/ItemSheet";
import { KitView } from "../kit/KitView";
import { LabelsView } from "../kit/LabelsView";
import { PlaceEdit, PlaceNew } from "../kit/PlaceEdit";
import { PlaceView } from "../kit/PlaceView";
import { ShadesNew } from "../kit/ShadesNew";
import { TablesView } from "../kit/TablesView";
import { WalkView } from "../kit/WalkView";
import { NextView } from "../next/NextView";
import { PackingView } from "../packing/PackingView";
import { SignIn } from "../signin/SignIn";
import { ActsProvider } from "./acts";
import { Problem, whenSignedOut } from "./api";
import { Broken, Lost } from "./Lost";
import { Shell } from "./Shell";
import { sessionKey, useSession } from "./session";
import { useTheme } from "./theme";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, thrown) => count < 2 && thrown instanceof Problem && thrown.mayRetry,
    },
  },
});

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      { path: "/", element: <NextView /> },
      { path: "/bookings", element: <BookingsView /> },
      { path: "/bookings/new", element: <BookingNew /> },
      { path: "/bookings/calendar", element: <CalendarRead /> },
      { path: "/bookings/:id", element: <PackingView /> },
      { path: "/bookings/:id/edit", element: <BookingEdit /> },
      { path: "/kit", element: <KitView /> },
      { path: "/kit/new", element: <ItemNew /> },
      { path: "/kit/shades", element: <ShadesNew /> },
      { path: "/kit/home", element: <BringHome /> },
      { path: "/kit/bags", element: <BagsView /> },
      { path: "/kit/labels", element: <LabelsView /> },
      { path: "/kit/tables", element: <TablesView /> },
      { path: "/kit/places/:id/walk", element: <WalkView /> },
      { path: "/kit/places/:id/count", element: <CountView /> },
      { path: "/kit/items/:id", element: <ItemSheet /> },
      { path: "/kit/items/:id/edit", element: <ItemEdit /> },
      { path: "/kit/places/new", element: <PlaceNew /> },
      { path: "/kit/places/:id", element: <PlaceView /> },
      { path: "/kit/places/:id/edit", element: <PlaceEdit /> },
      { path: "/bench", element: <BenchView /> },
      { path: "/bench/empties", element: <EmptiesView /> },
      { path: "/bench/dilution", element: <DilutionView /> },
      { path: "/bench/recall", element: <RecallView /> },
      { path: "/bench/palettes/:id", element: <PaletteView /> },
      { path: "/bench/:id", element: <SessionView /> },
      { path: "/dates", element: <DatesView /> },
      { path: "/house", element: <HouseView /> },
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
  if (session.isPending) {
    return <p className="p-8 text-soft">Opening…</p>;
  }
  if (session.error) {
    return <p className="p-8">{session.error.message}</p>;
  }
  return session.data.email ? <RouterProvider router={router} /> : <SignIn />;
}
