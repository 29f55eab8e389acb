import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/besley";
import "../shared/tokens.css";
import "./base.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { later } from "../shared/later";
import { FollowPage } from "./FollowPage";
import { show } from "../running/senses";
import { keepPage } from "./version";

const MinePage = later(async () => (await import("./MinePage")).MinePage);

/** Before the secret of a personal link. */
const PERSONAL = "me";

const [, , token = "", view = ""] = window.location.pathname.split("/");

void keepPage();
show();

// One that is put on the home screen begins with the link it was put there from.
const manifest = document.createElement("link");
manifest.rel = "manifest";
manifest.href = `${window.location.pathname.replace(/\/$/, "")}/manifest.webmanifest`;
document.head.append(manifest);

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
