import "@fontsource-variable/bricolage-grotesque";
import "@fontsource-variable/instrument-sans";
import "./styles.css";
import "./styles.survey.css";
import "./styles.options.css";
import "./styles.plan.css";
import "./styles.paper.css";
import "./styles.saying.css";
import "./styles.trade.css";
import "./styles.print.css";
import "./styles.keep.css";
import "./styles.jobs.css";
import "./styles.buy.css";
import "./styles.programme.css";
import "./styles.conditions.css";
import "./styles.site.css";
import "./styles.reckoner.css";
import "./styles.walls.css";
import "./styles.phone.css";

// The head of the page is painted first: the program is read and run after that frame.
const root = document.getElementById("root");
const painted = (then: () => void) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(then)));
if (root) painted(async () => (await import("./App")).begin(root));
