import { readConfig } from "../config";
import { openPictures } from "../pictures/picture-folder";
import { orExplain } from "../start-server";
import { openStore } from "../store/database";
import { seedDemo } from "./seed-demo";

// Fills the database named by DATABASE_FILE with the demo scenario.
await orExplain(async () => {
  const { databaseFile } = readConfig(process.env);
  const store = await openStore(databaseFile);
  await seedDemo(store, openPictures(databaseFile));
  await store.destroy();
});
