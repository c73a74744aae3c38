import { readConfig } from "../config";
import { orExplain } from "../start-server";
import { openStore } from "../store/database";
import { seedDemo } from "./seed-demo";

// Fills the database named by DATABASE_FILE with the demo scenario.
await orExplain(async () => {
  const store = await openStore(readConfig(process.env).databaseFile);
  await seedDemo(store);
  await store.destroy();
});
