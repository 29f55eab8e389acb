import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/besley";
import "../shared/tokens.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { FollowPage } from "./FollowPage";

const [, , token = "", view] = window.location.pathname.split("/");

if ("serviceWorker" in navigator) {
  void navigator.serviceWorker.register("/sw.js", { scope: "/f/" }).catch(() => undefined);
}

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <FollowPage token={token} print={view === "print"} />
    </StrictMode>,
  );
}
