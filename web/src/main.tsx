import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { CataloguePage } from "./catalogue/CataloguePage";
import { ClassesPage } from "./classes/ClassesPage";
import { TodayPage } from "./classes/TodayPage";
import { DataPage } from "./data/DataPage";
import { FormPage } from "./form/FormPage";
import { FormsPage } from "./form/FormsPage";
import { TextPage } from "./form/TextPage";
import { HomePage } from "./home/HomePage";
import { RecordingsPage } from "./recording/RecordingsPage";
import { SessionPage } from "./session/SessionPage";
import { SessionsPage } from "./session/SessionsPage";
import { SettingsPage } from "./settings/SettingsPage";
import { showTheme } from "./settings/theme";
import { Shell, Waiting } from "./shared/Shell";
import "./theme.css";

const BoothPage = lazy(() => import("./booth/BoothPage"));
const ClassPage = lazy(() => import("./classes/ClassPage"));
const LessonPage = lazy(() => import("./classes/LessonPage"));
const DeskPage = lazy(() => import("./desk/DeskPage"));
const RecordingPage = lazy(() => import("./recording/RecordingPage"));
const WatchPage = lazy(() => import("./recording/WatchPage"));
const FilesPage = lazy(() => import("./session/FilesPage"));
const HelpPage = lazy(() => import("./help/HelpPage"));
const StagePage = lazy(() => import("./stage/StagePage"));
const queries = new QueryClient({ defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 1 } } });

showTheme();
createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Suspense fallback={<Waiting error={null} />}>
          <Routes>
            <Route element={<Shell />}>
              <Route path="/" element={<HomePage />} />
              <Route path="/today" element={<TodayPage />} />
              <Route path="/classes" element={<ClassesPage />} />
              <Route path="/classes/:id" element={<ClassPage />} />
              <Route path="/classes/:id/:tab" element={<ClassPage />} />
              <Route path="/classes/:id/lessons/:lesson" element={<LessonPage />} />
              <Route path="/forms" element={<FormsPage />} />
              <Route path="/forms/text" element={<TextPage />} />
              <Route path="/forms/:id" element={<FormPage />} />
              <Route path="/postures" element={<CataloguePage />} />
              <Route path="/help" element={<HelpPage />} />
              <Route path="/data" element={<DataPage />} />
              <Route path="/settings" element={<SettingsPage />} />
              <Route path="/sessions" element={<SessionsPage />} />
              <Route path="/sessions/:id" element={<SessionPage />} />
              <Route path="/sessions/:id/files" element={<FilesPage />} />
              <Route path="/recordings" element={<RecordingsPage />} />
              <Route path="/recordings/:id" element={<RecordingPage />} />
              <Route path="/recordings/:id/cues" element={<DeskPage kind="recordings" />} />
              <Route path="/desk/:id" element={<DeskPage kind="sessions" />} />
              <Route path="/booth/:id" element={<BoothPage kind="sessions" />} />
              <Route path="/recordings/:id/booth" element={<BoothPage kind="recordings" />} />
              <Route path="*" element={<p className="p-6">There is no page here. Choose one above.</p>} />
            </Route>
            <Route path="/stage/:id" element={<StagePage />} />
            <Route path="/recordings/:id/watch" element={<WatchPage />} />
          </Routes>
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
