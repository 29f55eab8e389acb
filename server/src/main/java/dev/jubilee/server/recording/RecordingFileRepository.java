package dev.jubilee.server.recording;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecordingFileRepository extends JpaRepository<RecordingFileRow, String> {}
