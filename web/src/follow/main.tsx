import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/besley";
import "../shared/tokens.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { FollowPage } from "./FollowPage";
import { MinePage } from "./MinePage";
import { show } from "./senses";

/** Before the secret of a personal link. */
const PERSONAL = "me";

const [, , token = "", view = ""] = window.location.pathname.split("/");

if ("serviceWorker" in navigator) {
  void navigator.serviceWorker.register("/sw.js", { scope: "/f/" }).catch(() => undefined);
}

show();

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      {token === PERSONAL ? (
        <MinePage token={view} />
      ) : (
        <FollowPage token={token} print={view === "print"} />
      )}
    </StrictMode>,
  );
}
